/** The catalogue to look through: facets, fact sheets, side by side. */
@ApplicationModule(allowedDependencies = {"drawing", "ownword", "planning", "rows", "shell", "tank"})
package pelluna.app.species;

import org.springframework.modulith.ApplicationModule;
