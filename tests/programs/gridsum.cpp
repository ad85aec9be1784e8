#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<vector<int>> plot = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}};
    int diagonal = 0;
    for (int i = 0; i < 3; i++) {
        diagonal += plot[i][i];
    }
    plot[1][1] = 0;
    cout << diagonal << " " << plot[1][1] << endl;
}
