// Reads and checks the data, and leaves it beside the code for servers to start from.
import { buildShipped } from '../shipped.js';

buildShipped();
