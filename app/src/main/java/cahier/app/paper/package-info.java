/** The sheet as it is printed: one page of HTML for the browser, the same as PDF. Front door: {@link cahier.app.paper.Paper}. */
@NullMarked
package cahier.app.paper;

import org.jspecify.annotations.NullMarked;
