#include <iostream>
#include <vector>
#include <map>
using namespace std;
int main() {
    int b = 2;
    int a = b = 5;
    vector<int> v = {1, 2};
    int c = v[0] = 7;
    map<string, bool> seen;
    bool was = seen["q"] = true;
    cout << a << b << c << v[0] << was << endl;
}
