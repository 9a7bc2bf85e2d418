// The layout engine itself, which speaks its own protocol with elk-api on the page.
import "elkjs/lib/elk-worker.min.js";
