// A machine that does other things besides takes its time: what hangs is ended all the same.
jest.setTimeout(60_000);
