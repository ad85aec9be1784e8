#include <bits/stdc++.h>
using namespace std;
int main() {
    cout << __builtin_popcount(13) << __builtin_popcount(-1) << " " << __builtin_popcountll(-1LL) << " " << __builtin_popcountll(1ULL << 63) << endl;
    int g[2][3] = {{1,2,3},{4,5,6}}, h[2][3];
    memcpy(h, g, sizeof(g));
    h[0][0] = 9;
    cout << g[0][0] << h[0][0] << h[1][2] << endl;
    int a[5] = {1,2,3,4,5}, b[5] = {0};
    int n = 3;
    memcpy(b, a, n * sizeof(int));
    cout << b[2] << b[3] << endl;
    const char* t = "fern";
    if (strchr(t, 'r') != NULL) cout << "r" << endl;
    if (strstr(t, "zz") == nullptr) cout << "no" << endl;
}
