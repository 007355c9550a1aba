/** What is saved: one table of documents, each a form as JSON, and what each of them refers to. */
@NullMarked
package fairember.app.document;

import org.jspecify.annotations.NullMarked;
