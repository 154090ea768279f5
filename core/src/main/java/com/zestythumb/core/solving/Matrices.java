package com.zestythumb.core.solving;

import java.util.Arrays;

/** Sums and minima of whole numbers in rows and columns; nothing that is given is changed. */
final class Matrices {

    private Matrices() {}

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
        for (int i = 0; i < matrix.length; i++) {
            for (int j = 0; j < matrix[i].length; j++) {
                transposed[j][i] = matrix[i][j];
            }
        }
        return transposed;
    }

    static int[] leastOfRows(int[][] matrix) {
        int[] least = new int[matrix.length];
        for (int i = 0; i < least.length; i++) {
            least[i] = Arrays.stream(matrix[i]).min().orElseThrow();
        }
        return least;
    }

    /** For each row the least sum of its numbers and those of a row beside it. */
    static int[] least(int[][] matrix, int[] beside) {
        return leastOfRows(plusColumns(matrix, beside));
    }

    /** The least way from each row of the first over a column of it, which is a row of the second, to each column. */
    static int[][] least(int[][] first, int[][] second) {
        int[][] least = new int[first.length][second[0].length];
        for (int i = 0; i < first.length; i++) {
            int[] row = least[i];
            Arrays.fill(row, Integer.MAX_VALUE);
            for (int over = 0; over < second.length; over++) {
                int[] onward = second[over];
                int way = first[i][over];
                for (int j = 0; j < row.length; j++) {
                    row[j] = Math.min(row[j], way + onward[j]);
                }
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
