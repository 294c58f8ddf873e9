/** The clean-up crew. */
@ApplicationModule(allowedDependencies = {"account", "drawing", "limits", "planning", "rows", "shell"})
package pelluna.app.crew;

import org.springframework.modulith.ApplicationModule;
