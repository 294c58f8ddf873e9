/** A keeper's own word over the catalogue. */
@ApplicationModule(allowedDependencies = {"account", "rows"})
package pelluna.app.ownword;

import org.springframework.modulith.ApplicationModule;
