import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

const lookChoices = ['system', 'day', 'night'] as const;
export type LookChoice = (typeof lookChoices)[number];

const remembered = 'yuzet.look';

/** The light chosen on this device, if it was. */
function recalled(): LookChoice {
  try {
    const kept = localStorage.getItem(remembered);
    return lookChoices.find((choice) => choice === kept) ?? 'system';
  } catch {
    return 'system';
  }
}

/** Keeps the choice for the next start. */
export function rememberLook(choice: LookChoice): void {
  try {
    localStorage.setItem(remembered, choice);
  } catch {
    // It holds for this visit.
  }
}

const slice = createSlice({
  name: 'look',
  initialState: () => ({ choice: recalled() }),
  reducers: {
    lookChosen: (state, { payload }: PayloadAction<LookChoice>) => {
      state.choice = payload;
    },
  },
});

export const { lookChosen } = slice.actions;
export const lookReducer = slice.reducer;
