/** {@link fairember.app.picture.PictureStore}: photos that are kept, and how any photo is read. */
@org.jspecify.annotations.NullMarked
package fairember.app.picture;
