#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
double f2(long long* a, const vector<int>& b = {4, 5, 6}) { (*a) *= 2; return (*a) + b[0] / 2; }
int f3(vector<int>* a, int k = 3) { (*a)[0] *= 10; return (*a)[0] + k; }
int f4(int* a, int k = 3) { *a *= 2; return *a + k; }
int main() {
    long long v0 = -9;
    int n = 4;
    vector<int> v = {1, 2};
    cout << f4(&n) << n << endl;
    cout << f4(&n, 1) << n << endl;
    cout << f3(&v, 2) << v[0] << endl;
    cout << f3(&v) << v[0] << endl;
    cout << f2(&v0, {8}) << v0 << endl;
    cout << f2(&v0) << v0 << endl;
}
