package com.zestythumb.core.solving;

import java.util.Arrays;

/** Sums and minima of whole numbers in rows and columns; nothing that is given is changed but by {@link #lower}. */
final class Matrices {

    private Matrices() {}

    /** So many rows are turned round at a time, that both sides stay at hand for the processor. */
    private static final int BLOCK = 16;

    /** More than anything costs, and little enough to add to. */
    static final int FAR = 1 << 29;

    /** Brings each number down to that of another row and a number more, where this is less; changes the first. */
    static void lower(int[] row, int[] other, int more) {
        for (int j = 0; j < row.length; j++) {
            // The lesser of the two without a choice: eight at a time on usual processors, which Math.min is not (JDK
            // 17).
            int below = other[j] + more - row[j];
            row[j] += below & (below >> 31);
        }
    }

    /** 0, 1, 2 and so on. */
    static int[] places(int count) {
        int[] places = new int[count];
        for (int i = 0; i < count; i++) {
            places[i] = i;
        }
        return places;
    }

    static int[] plus(int[] row, int more) {
        int[] sum = new int[row.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = row[i] + more;
        }
        return sum;
    }

    static int[][] plus(int[][] matrix, int more) {
        int[][] sum = new int[matrix.length][];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = plus(matrix[i], more);
        }
        return sum;
    }

    static int[] sum(int[] a, int[] b) {
        int[] sum = new int[a.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = a[i] + b[i];
        }
        return sum;
    }

    static int[][] sum(int[][] a, int[][] b) {
        int[][] sum = new int[a.length][];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = sum(a[i], b[i]);
        }
        return sum;
    }

    static int[][] times(int[][] matrix, int factor) {
        int[][] product = new int[matrix.length][];
        for (int i = 0; i < product.length; i++) {
            product[i] = matrix[i].clone();
            for (int j = 0; j < product[i].length; j++) {
                product[i][j] *= factor;
            }
        }
        return product;
    }

    static int[] difference(int[] a, int[] b) {
        int[] difference = new int[a.length];
        for (int i = 0; i < difference.length; i++) {
            difference[i] = a[i] - b[i];
        }
        return difference;
    }

    static int[][] difference(int[][] a, int[][] b) {
        int[][] difference = new int[a.length][];
        for (int i = 0; i < difference.length; i++) {
            difference[i] = difference(a[i], b[i]);
        }
        return difference;
    }

    static int[] lesser(int[] a, int[] b) {
        int[] lesser = new int[a.length];
        for (int i = 0; i < lesser.length; i++) {
            lesser[i] = Math.min(a[i], b[i]);
        }
        return lesser;
    }

    static int[][] lesser(int[][] a, int[][] b) {
        int[][] lesser = new int[a.length][];
        for (int i = 0; i < lesser.length; i++) {
            lesser[i] = lesser(a[i], b[i]);
        }
        return lesser;
    }

    /** A number more for each row. */
    static int[][] plusRows(int[][] matrix, int[] more) {
        int[][] sum = new int[matrix.length][];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = plus(matrix[i], more[i]);
        }
        return sum;
    }

    /** A number more for each column. */
    static int[][] plusColumns(int[][] matrix, int[] more) {
        int[][] sum = new int[matrix.length][];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = sum(matrix[i], more);
        }
        return sum;
    }

    static int[][] transposed(int[][] matrix) {
        int[][] transposed = new int[matrix[0].length][matrix.length];
        for (int first = 0; first < matrix.length; first += BLOCK) {
            int end = Math.min(matrix.length, first + BLOCK);
            for (int j = 0; j < transposed.length; j++) {
                for (int i = first; i < end; i++) {
                    transposed[j][i] = matrix[i][j];
                }
            }
        }
        return transposed;
    }

    static int[] leastOfRows(int[][] matrix) {
        int[] least = new int[matrix.length];
        for (int i = 0; i < least.length; i++) {
            least[i] = least(matrix[i]);
        }
        return least;
    }

    static int most(int[] row) {
        int most = row[0];
        for (int number : row) {
            most = Math.max(most, number);
        }
        return most;
    }

    static int least(int[] row) {
        int least = row[0];
        for (int number : row) {
            least = Math.min(least, number);
        }
        return least;
    }

    /** For each row the least sum of its numbers and those of a row beside it. */
    static int[] least(int[][] matrix, int[] beside) {
        int[] least = new int[matrix.length];
        for (int i = 0; i < least.length; i++) {
            int[] row = matrix[i];
            int here = row[0] + beside[0];
            for (int j = 1; j < row.length; j++) {
                here = Math.min(here, row[j] + beside[j]);
            }
            least[i] = here;
        }
        return least;
    }

    /** The least way from each row of the first over a column of it, which is a row of the second, to each column. */
    static int[][] least(int[][] first, int[][] second) {
        int[][] least = new int[first.length][second[0].length];
        for (int i = 0; i < first.length; i++) {
            int[] row = least[i];
            Arrays.fill(row, FAR);
            for (int over = 0; over < second.length; over++) {
                lower(row, second[over], first[i][over]);
            }
        }
        return least;
    }

    /** The first place of the least. */
    static int placeOfLeast(int[] row) {
        int place = 0;
        for (int i = 1; i < row.length; i++) {
            place = row[i] < row[place] ? i : place;
        }
        return place;
    }
}
