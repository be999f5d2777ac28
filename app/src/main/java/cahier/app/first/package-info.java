/** The first hour with a household: its way on the book until the first sheet is out, the shelf by what they want, and what is still missing before it goes. */
@NullMarked
package cahier.app.first;

import org.jspecify.annotations.NullMarked;
