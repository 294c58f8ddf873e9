/** A probe at a local address, and a simulated one. */
@ApplicationModule(
        allowedDependencies = {"account", "database", "chart", "drawing", "limits", "planning", "rows", "shell"})
package pelluna.app.probe;

import org.springframework.modulith.ApplicationModule;
