/** The clean-up crew. */
@ApplicationModule(allowedDependencies = {"drawing", "limits", "planning", "rows", "shell", "tank"})
package pelluna.app.crew;

import org.springframework.modulith.ApplicationModule;
