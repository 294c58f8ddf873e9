/** A probe at a local address, and a simulated one. */
@ApplicationModule(
        allowedDependencies = {"account", "database", "chart", "limits", "picture", "planning", "rows", "shell"})
package pelluna.app.probe;

import org.springframework.modulith.ApplicationModule;
