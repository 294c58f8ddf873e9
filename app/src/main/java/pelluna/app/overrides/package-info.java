/** A keeper's own word over the catalogue. */
@ApplicationModule(allowedDependencies = {"account", "rows"})
package pelluna.app.overrides;

import org.springframework.modulith.ApplicationModule;
