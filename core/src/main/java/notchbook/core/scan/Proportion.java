package notchbook.core.scan;

/**
 * The real proportion of a page that was photographed aslant. Of a rectangle's picture the way in which its sides run
 * together tells how it was tilted, and with the camera's focal length how long its sides are to each other.
 * Source: Zhang and He, Whiteboard scanning and image enhancement, Digital Signal Processing 17 (2007), section 3.
 */
public final class Proportion {
    /** Focal lengths of phone and tablet cameras, in lengths of the photo's long side; a guess outside is no good. */
    private static final double SHORTEST = 0.65;

    private static final double LONGEST = 1.4;

    /** Sides that run together this little tell nothing of the focal length. */
    private static final double PARALLEL = 1e-4;

    private Proportion() {}

    /** Width to height of the page at {@code quad} in a photo of this size in px. */
    public static double of(Quad quad, int photoWidth, int photoHeight) {
        var unit = Math.max(photoWidth, photoHeight);
        var m1 = Ray.to(quad.topLeft(), photoWidth, photoHeight, unit);
        var m2 = Ray.to(quad.topRight(), photoWidth, photoHeight, unit);
        var m3 = Ray.to(quad.bottomLeft(), photoWidth, photoHeight, unit);
        var m4 = Ray.to(quad.bottomRight(), photoWidth, photoHeight, unit);
        var k2 = m1.cross(m4).dot(m3) / m2.cross(m4).dot(m3);
        var k3 = m1.cross(m4).dot(m2) / m3.cross(m4).dot(m2);
        var across = m2.times(k2).minus(m1);
        var down = m3.times(k3).minus(m1);
        var focal = focalLength(across, down);
        return across.length(focal) / down.length(focal);
    }

    /** In lengths of the photo's long side. */
    private static double focalLength(Ray across, Ray down) {
        var together = across.z() * down.z();
        if (Math.abs(together) < PARALLEL) {
            return 1;
        }
        var squared = -(across.x() * down.x() + across.y() * down.y()) / together;
        return squared <= 0 ? 1 : Math.clamp(Math.sqrt(squared), SHORTEST, LONGEST);
    }

    /** A place in the photo as a direction from the camera, the middle of the photo straight ahead. */
    private record Ray(double x, double y, double z) {
        static Ray to(Corner corner, int width, int height, double unit) {
            return new Ray((corner.x() - 0.5) * width / unit, (corner.y() - 0.5) * height / unit, 1);
        }

        Ray cross(Ray other) {
            return new Ray(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
        }

        double dot(Ray other) {
            return x * other.x + y * other.y + z * other.z;
        }

        Ray times(double factor) {
            return new Ray(x * factor, y * factor, z * factor);
        }

        Ray minus(Ray other) {
            return new Ray(x - other.x, y - other.y, z - other.z);
        }

        double length(double focal) {
            return Math.sqrt((x * x + y * y) / (focal * focal) + z * z);
        }
    }
}
