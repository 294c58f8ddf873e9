/** What whoever runs Pelluna sees of it: whether it is well, its figures, and which lines of a log belong together. */
@ApplicationModule(allowedDependencies = {})
package pelluna.app.operations;

import org.springframework.modulith.ApplicationModule;
