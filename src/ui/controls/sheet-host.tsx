import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Portal } from 'react-native-paper';

interface Host {
  /** What stands at the foot of a sheet, and of the page while no sheet is open. */
  readonly foot: ReactNode;
  readonly open: number;
  readonly count: (by: 1 | -1) => void;
}

const HostContext = createContext<Host>({ foot: null, open: 0, count: () => undefined });

/** Where sheets stand: over what it holds. */
export function SheetHost({ children, foot }: { readonly children: ReactNode; readonly foot?: ReactNode }) {
  const [open, setOpen] = useState(0);
  const count = useCallback((by: 1 | -1) => setOpen((many) => many + by), []);
  const host = useMemo(() => ({ foot, open, count }), [foot, open, count]);
  return (
    <HostContext.Provider value={host}>
      <Portal.Host>{children}</Portal.Host>
    </HostContext.Provider>
  );
}

/** The foot of an open sheet; it is counted as open for as long as this is used. */
export function useSheetFoot(): ReactNode {
  const { foot, count } = useContext(HostContext);
  useEffect(() => {
    count(1);
    return () => count(-1);
  }, [count]);
  return foot;
}

/** The foot of the page: nothing while a sheet has it. */
export function PageFoot() {
  const { foot, open } = useContext(HostContext);
  return open === 0 ? foot : null;
}
