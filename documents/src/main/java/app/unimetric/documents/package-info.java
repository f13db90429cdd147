/** What is stored and exchanged, each kind of document with its version, apart from the core. */
@NullMarked
package app.unimetric.documents;

import org.jspecify.annotations.NullMarked;
