/** Start at {@link fairember.app.run.RunController}: runs, their needs, plan and progress. */
@NullMarked
package fairember.app.run;

import org.jspecify.annotations.NullMarked;
