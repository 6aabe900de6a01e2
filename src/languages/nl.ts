import { setDefaultOptions } from 'date-fns/setDefaultOptions';
import { nl } from 'date-fns/locale/nl';
import { languageOf } from './language';
import messages from './nl.json';

setDefaultOptions({ locale: nl });

/** Dutch. */
export default languageOf('nl-NL', messages);
