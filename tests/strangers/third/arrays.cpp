#include <iostream>
#include <algorithm>
using namespace std;
const int N = 5;
int main() {
    int a[N] = {5, 2, 9, 1, 7};
    sort(a, a + N);
    for (int i = 0; i < N; i++) cout << a[i] << (i < N - 1 ? ", " : "\n");
    int grid[3][4] = {0};
    for (int r = 0; r < 3; r++)
        for (int c = 0; c < 4; c++)
            grid[r][c] = r * c;
    for (int r = 0; r < 3; r++) {
        for (int c = 0; c < 4; c++) cout << grid[r][c] << '\t';
        cout << endl;
    }
    int mx = *max_element(a, a + N);
    cout << "max " << mx << endl;
}
