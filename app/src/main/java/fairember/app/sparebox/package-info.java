/** {@link fairember.app.sparebox.SpareBoxStore}: the box of spare parts. */
@org.jspecify.annotations.NullMarked
package fairember.app.sparebox;
