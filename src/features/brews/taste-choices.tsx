import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';

/** Five steps of sweet and sour, in a maker's words. */
const sweetSteps = [
  { value: 1, label: 'Dry' },
  { value: 2, label: 'A hint sweet' },
  { value: 3, label: 'Balanced' },
  { value: 4, label: 'Sweet' },
  { value: 5, label: 'Syrupy' },
] as const;

const sourSteps = [
  { value: 1, label: 'Not sour' },
  { value: 2, label: 'Fresh' },
  { value: 3, label: 'Tart' },
  { value: 4, label: 'Sour' },
  { value: 5, label: 'Vinegary' },
] as const;

export interface Taste {
  readonly sweet: number;
  readonly sour: number;
}

/** What most sips are: balanced and fresh. */
export const usualTaste: Taste = { sweet: 3, sour: 2 };

interface Props {
  readonly value: Taste;
  readonly onChange: (taste: Taste) => void;
}

/** A sip in two taps. */
export const TasteChoices = ({ value, onChange }: Props) => (
  <>
    <Text as="strong">Sweet</Text>
    <Choice
      label="Sweet"
      options={sweetSteps}
      value={value.sweet}
      onChange={(sweet: number) => onChange({ ...value, sweet })}
    />
    <Text as="strong">Sour</Text>
    <Choice
      label="Sour"
      options={sourSteps}
      value={value.sour}
      onChange={(sour: number) => onChange({ ...value, sour })}
    />
  </>
);
