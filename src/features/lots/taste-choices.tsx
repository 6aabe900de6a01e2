import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';

const sweetSteps = ['Dry', 'A hint sweet', 'Balanced', 'Sweet', 'Syrupy'];
const sourSteps = ['Not sour', 'Fresh', 'Tart', 'Sour', 'Vinegary'];
const fizzSteps = ['Still', 'Prickle', 'Soft', 'Lively', 'Sharp'];

export interface Taste {
  readonly sweet: number;
  readonly sour: number;
  readonly fizz?: number;
}

/** What most sips are: balanced and fresh. */
export const usualTaste: Taste = { sweet: 3, sour: 2 };

const steps = (labels: readonly string[]) => labels.map((label, i) => ({ value: i + 1, label }));

interface Props {
  readonly value: Taste;
  readonly onChange: (taste: Taste) => void;
  readonly fizz?: boolean;
}

/** A sip in two or three taps, in a maker's words. */
export const TasteChoices = ({ value, onChange, fizz }: Props) => (
  <>
    <Text as="strong">Sweet</Text>
    <Choice
      label="Sweet"
      options={steps(sweetSteps)}
      value={value.sweet}
      onChange={(sweet) => onChange({ ...value, sweet })}
    />
    <Text as="strong">Sour</Text>
    <Choice
      label="Sour"
      options={steps(sourSteps)}
      value={value.sour}
      onChange={(sour) => onChange({ ...value, sour })}
    />
    {fizz ? (
      <>
        <Text as="strong">Fizz</Text>
        <Choice
          label="Fizz"
          options={steps(fizzSteps)}
          value={value.fizz ?? null}
          onChange={(step) => onChange({ ...value, fizz: step })}
        />
      </>
    ) : null}
  </>
);
