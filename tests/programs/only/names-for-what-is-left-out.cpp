#include <iostream>
using namespace std;
const int N = 5;
int f(int x = N) { return x; }
int g(int y, int x = N * 2, int z = f(N)) { return x + y + z; }
int main() {
    cout << f() << f(2) << " " << g(1) << " " << g(1, 2) << endl;
}
