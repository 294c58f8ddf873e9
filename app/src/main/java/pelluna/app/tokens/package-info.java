/** What programs of a keeper sign in with, each for a part of what the keeper may do. */
@ApplicationModule(allowedDependencies = {"account", "database", "limits", "rows", "shell"})
package pelluna.app.tokens;

import org.springframework.modulith.ApplicationModule;
