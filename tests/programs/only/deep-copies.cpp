#include <iostream>
#include <vector>
using namespace std;
int main() {
    vector<vector<int>> a = {{1, 2}, {3}};
    vector<vector<int>> b = a;
    b[0][0] = 9;
    cout << a[0][0] << b[0][0] << endl;
    vector<int> row = a[0];
    row[0] = 5;
    cout << a[0][0] << endl;
}
