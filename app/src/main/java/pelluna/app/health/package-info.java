/** Signs of illness, how they spread, who eats. */
@ApplicationModule(
        allowedDependencies = {"account", "drawing", "fish", "limits", "log", "planning", "scenery", "shell"})
package pelluna.app.health;

import org.springframework.modulith.ApplicationModule;
