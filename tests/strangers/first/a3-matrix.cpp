#include <cstdio>
#define N 3
int m[N][N] = {{1,2,3},{4,5,6},{7,8,10}}, t[N][N], r[N][N];
int main() {
    for (int i = 0; i < N; i++) for (int j = 0; j < N; j++) t[j][i] = m[i][j];
    for (int i = 0; i < N; i++)
        for (int j = 0; j < N; j++) {
            int s = 0;
            for (int k = 0; k < N; k++) s += m[i][k] * t[k][j];
            r[i][j] = s;
        }
    for (int i = 0; i < N; i++) {
        for (int j = 0; j < N; j++) printf("%4d", r[i][j]);
        printf("\n");
    }
    int trace = 0, i = N;
    while (i--) trace += m[i][i];
    printf("trace %d %5.2f\n", trace, trace / 3.0);
    return 0;
}
