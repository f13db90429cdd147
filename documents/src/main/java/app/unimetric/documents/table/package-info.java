/** Tables that come from and go to spreadsheets, RFC 4180 and its common relatives. */
@NullMarked
package app.unimetric.documents.table;

import org.jspecify.annotations.NullMarked;
