import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ownIngredientsOf } from '@/core/settings/own-ingredient';
import { namesWith } from '@/core/recipes/ingredient-names';
import { imported, type ImportedRecipe } from '@/core/recipes/import-recipe';
import { recipeOfJson } from '@/core/recipes/recipe-json';
import type { Recipe } from '@/core/recipes/recipe';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { FileButton } from '@/ui/controls/file-button';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { portionWords, litres } from '@/words/amounts';
import { estimateWords, lineQuestion } from '@/words/brews/recipe-words';
import { useAct } from '../acts/act-context';
import { keepingOf, recipeOfImport, withAnswers } from './imported-recipe';
import { t } from '@/core/language/t';

/** A file of this size is no recipe, bytes. */
const largestFile = 1_000_000;

/** A recipe from a file or a pasted text, in the open JSON-LD: what is not sure is asked line by line, then it is kept. */
export function ImportRecipe() {
  const [pasted, setPasted] = useState('');
  const [found, setFound] = useState<ImportedRecipe | null>(null);
  const [own, setOwn] = useState<Recipe | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const names = namesWith(ownIngredientsOf(useAppSelector(selectHousehold)));
  const take = (text: string) => {
    const read = recipeOfJson(text);
    setOwn(read?.recipe ?? null);
    setFound(read && !read.recipe ? imported(read, names) : null);
    setFault(
      read
        ? null
        : t`No recipe in it: a schema.org recipe with its ingredients, as JSON-LD, is what can be read.`,
    );
  };
  const open = async (file: File) => {
    if (file.size > largestFile) return setFault(t`That file is too large for a recipe.`);
    return take(await file.text());
  };
  return (
    <Card label={t`Bring a recipe in`} testID="import-recipe">
      <Text>{t`A recipe file in the open schema.org form, or its text pasted here.`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <FileButton
          label={t`Choose a file`}
          what={t`Recipe file`}
          accept="application/json,application/ld+json,.json,.jsonld"
          onFile={(file) => void open(file)}
        />
      </View>
      <TextBox label={t`Recipe text`} value={pasted} onChange={setPasted} multiline hint="JSON-LD" />
      <InkButton quiet label={t`Read it`} disabled={pasted.trim() === ''} onPress={() => take(pasted)} />
      {fault ? <Note tone="danger">{fault}</Note> : null}
      {own ? <Own recipe={own} /> : null}
      {found ? <Found key={found.name} found={found} /> : null}
    </Card>
  );
}

/** One of our own files: kept as it is, unless it is here already. */
function Own({ recipe }: { readonly recipe: Recipe }) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const keeping = keepingOf(recipe, household);
  return (
    <View style={{ gap: gap.small }}>
      <Text as="strong">{t`${recipe.name}, version ${recipe.version}`}</Text>
      {keeping === null ? (
        <Note
          tone="plain"
          testID="same-recipe"
        >{t`This recipe is here already, the same in every amount.`}</Note>
      ) : (
        <InkButton
          label={t`Keep the recipe`}
          onPress={() => {
            act(keeping.act, t`${recipe.name} is kept among the recipes.`);
            router.navigate(`/brews/recipe?id=${keeping.id}`);
          }}
        />
      )}
    </View>
  );
}

function Found({ found }: { readonly found: ImportedRecipe }) {
  const act = useAct();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const [answers, setAnswers] = useState<readonly string[]>(found.asked.map(() => ''));
  const { whole, faults } = withAnswers(found, answers);
  const keep = () => {
    const keeping = keepingOf(recipeOfImport(whole, household), household);
    if (!keeping) return;
    act(keeping.act, t`${whole.name} is kept among the recipes.`);
    router.navigate(`/brews/recipe?id=${keeping.id}`);
  };
  return (
    <View style={{ gap: gap.small }}>
      <Text as="strong">{`${whole.name}, ${litres(whole.ml)}`}</Text>
      {whole.rows.map(({ portion }, i) => (
        <Text key={i}>{portionWords(portion)}</Text>
      ))}
      {found.estimated.map((line, i) => (
        <Note key={`${line.line}-${i}`} tone="plain" testID="estimated-line">
          {estimateWords(line)}
        </Note>
      ))}
      <Text>{takenAs(found)}</Text>
      {found.asked.map((line, i) => (
        <TextBox
          key={`${line.line}-${i}`}
          label={`“${line.line.trim().slice(0, 60)}”`}
          value={answers[i]!}
          hint={t`${lineQuestion(line)} Or write “leave out”.`}
          error={answers[i]!.trim() === '' ? undefined : faults[i]}
          onChange={(text) => setAnswers(answers.map((each, j) => (j === i ? text : each)))}
        />
      ))}
      <InkButton
        label={t`Keep the recipe`}
        disabled={faults.some((fault) => fault !== undefined)}
        onPress={keep}
      />
    </View>
  );
}

/** What a file does not say is said here: how it is taken, until its maker says otherwise. */
const takenAs = ({ culture }: ImportedRecipe): string =>
  t`Taken as simmered and strained${culture === null ? t`, and as nobody’s starter` : ''}: the worktop is where that is changed.`;
