import '@testing-library/jest-dom';
import { configure } from '@testing-library/dom';

/* a machine that others keep busy too takes longer; every wait ends with what it waits for */
configure({ asyncUtilTimeout: 60_000 });
