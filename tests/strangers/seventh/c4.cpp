#include <iostream>
#include <cmath>
#include <cstdlib>
using namespace std;
const int SIZE = 5;
int sumArr(int a[], int n) { int s = 0; for (int i = 0; i < n; i++) s += a[i]; return s; }
void reverse(int* a, int n) { for (int i = 0; i < n / 2; i++) { int t = a[i]; a[i] = a[n - 1 - i]; a[n - 1 - i] = t; } }
int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
int main() {
    int nums[SIZE] = {3, 8, 1, 9, 4};
    cout << "Sum = " << sumArr(nums, SIZE) << endl;
    reverse(nums, SIZE);
    for (int x : nums) cout << x << " ";
    cout << endl;
    int m[2][3] = {{1,2,3},{4,5,6}};
    for (int r = 0; r < 2; r++) { for (int c = 0; c < 3; c++) cout << m[r][c] * 2 << '\t'; cout << '\n'; }
    cout << gcd(84, 36) << " " << pow(2, 10) << " " << sqrt(81) << " " << abs(-4) << " " << 7 / 2 << " " << 7 / 2.0 << " " << 7 % 3 << endl;
    char c = 'a'; c += 2; cout << c << " " << (int)c << " " << char(c + 1) << endl;
    unsigned int u = 5; long long big = 1LL << 40; cout << u << " " << big << endl;
    int x = 5, *p = &x; *p = 9; cout << x << endl;
    cout << (x > 5 && x < 10 ? "in" : "out") << endl;
    return EXIT_SUCCESS;
}
