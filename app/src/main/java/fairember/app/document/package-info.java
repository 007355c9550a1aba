/** What is saved: one table of documents, each a record of the core as JSON, and what each of them refers to. */
@NullMarked
package fairember.app.document;

import org.jspecify.annotations.NullMarked;
