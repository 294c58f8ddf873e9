/** Pictures that keepers send, painted anew and kept by themselves. */
@ApplicationModule(allowedDependencies = {"account", "limits", "rows"})
package pelluna.app.picture;

import org.springframework.modulith.ApplicationModule;
