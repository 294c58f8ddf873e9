/** Who may write: our own pages only. */
@ApplicationModule(allowedDependencies = {"limits"})
package pelluna.app.guard;

import org.springframework.modulith.ApplicationModule;
