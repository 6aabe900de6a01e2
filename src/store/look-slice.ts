import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export type LookChoice = 'system' | 'day' | 'night';

const slice = createSlice({
  name: 'look',
  initialState: { choice: 'system' as LookChoice },
  reducers: {
    lookChosen: (state, { payload }: PayloadAction<LookChoice>) => {
      state.choice = payload;
    },
  },
});

export const { lookChosen } = slice.actions;
export const lookReducer = slice.reducer;
