/** The catalogue to look through: facets, fact sheets, side by side. */
@ApplicationModule(allowedDependencies = {"account", "drawing", "overrides", "planning", "rows", "shell", "tank"})
package pelluna.app.species;

import org.springframework.modulith.ApplicationModule;
