/** Files of the catalogue, out and in. */
@ApplicationModule(allowedDependencies = {"account", "limits", "overrides", "planning", "shell", "species"})
package pelluna.app.catalogue;

import org.springframework.modulith.ApplicationModule;
