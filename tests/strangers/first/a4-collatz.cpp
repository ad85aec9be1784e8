#include <iostream>
#include <string>
using namespace std;
int main() {
    long long n = 27, peak = n; int k = 0;
    while (n != 1) { n = n % 2 ? 3 * n + 1 : n / 2; k++; if (n > peak) peak = n; }
    cout << k << " steps, peak " << peak << endl;
    int a[] = {5, 3, 8, 1}, j = 0, sum = 0;
    while (j < 4) sum += a[j++];
    cout << sum << " " << sizeof(a) / sizeof(a[0]) << endl;
    int x = 5, y = x++ * 2; 
    cout << x << " " << y << " " << (x > 5 ? "big" : "small") << endl;
    unsigned int h = 7;
    for (char ch : string("Water")) h = h * 31 + ch;
    cout << h << " " << hex << h << dec << " " << (h >> 3) << " " << (1 << 10) << endl;
}
