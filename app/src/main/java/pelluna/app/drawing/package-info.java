/** Drawing primitives and the drawings that several places share, as SVG; knows no database and no web. */
@ApplicationModule(allowedDependencies = {})
package pelluna.app.drawing;

import org.springframework.modulith.ApplicationModule;
