#include <iostream>
#include <vector>
using namespace std;
void f(vector<vector<int>> arg) {
arg[0].push_back(4);
for (auto& r : arg) for (int e : r) cout << e;
}
int main() {
vector<vector<int>> box = {{1, 2}, {3}};
f(box);
cout << box[0].size() << endl;
}
