import { Divider } from 'react-native-paper';

/** A hairline between rows. */
export const Rule = () => <Divider />;
