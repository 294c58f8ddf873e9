/** Plan files in and out, the web API, the command line. */
@ApplicationModule(allowedDependencies = {"account", "limits", "planfile", "planning", "shell", "tank"})
package pelluna.app.exchange;

import org.springframework.modulith.ApplicationModule;
