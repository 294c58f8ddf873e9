/** A probe at a local address, and a simulated one. */
@ApplicationModule(allowedDependencies = {"database", "drawing", "limits", "planning", "rows", "shell", "tank"})
package pelluna.app.probe;

import org.springframework.modulith.ApplicationModule;
