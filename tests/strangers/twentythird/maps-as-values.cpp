#include <iostream>
#include <map>
using namespace std;
int n = 0;
string k() { n++; return "b"; }
int main() {
    map<string, int> m{{"a", 1}, {"b", 6}};
    int x = m[k()]++;
    int y = ++m[k()];
    int z = (m[k()] += 4);
    int w = (m[k()] |= 4);
    cout << x << y << z << w << n << endl;
    int a[3] = {1, 2, 3};
    int i = 0;
    a[i++] += 5;
    a[i++] |= 8;
    a[i] <<= 2;
    cout << a[0] << a[1] << a[2] << i << endl;
}
