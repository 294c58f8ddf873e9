/** One drawing of axes, units, ranges and empty states for every chart; points say their values, and it has a table. */
@ApplicationModule(allowedDependencies = {"drawing"})
package pelluna.app.chart;

import org.springframework.modulith.ApplicationModule;
