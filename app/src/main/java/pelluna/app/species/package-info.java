/** The catalogue to look through: facets, fact sheets, side by side. */
@ApplicationModule(
        allowedDependencies = {"account", "drawing", "limits", "overrides", "planning", "rows", "shell", "tank"})
package pelluna.app.species;

import org.springframework.modulith.ApplicationModule;
