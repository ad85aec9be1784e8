#include <iostream>
#include <vector>
using namespace std;
int main() {
    int a = 2.7; double d = 7.9; a = d; char c = 'a' + 1; c = 66;
    vector<int> v(2); v[0] = d; v[1] = 'A'; v.push_back(d);
    cout << a << c << v[0] << v[1] << v[2] << endl;
}
