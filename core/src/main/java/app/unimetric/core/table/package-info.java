/**
 * Tables that people bring: what their columns are called and what the words in their cells mean.
 */
@NullMarked
package app.unimetric.core.table;

import org.jspecify.annotations.NullMarked;
