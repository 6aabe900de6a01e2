import { useWindowDimensions } from 'react-native';
import { wideFrom } from '../theme/shape';

/** Whether there is room for the rail, and for list and detail side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= wideFrom;
