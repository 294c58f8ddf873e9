/** Links by which somebody without an account looks at one thing of a tank. */
@ApplicationModule(allowedDependencies = {"account", "database", "limits", "planning", "rows", "shell", "signin"})
package pelluna.app.sharing;

import org.springframework.modulith.ApplicationModule;
