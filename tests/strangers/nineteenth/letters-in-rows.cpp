#include <iostream>
#include <cstring>
using namespace std;
int main() {
    char grid[3][4] = {"abc", "def", "ghi"};
    for (int r = 0; r < 3; r++) cout << grid[r] << grid[r][1] << ' ';
    cout << endl;
    grid[1][0] = 'X'; cout << grid[1] << strlen(grid[2]) << endl;
    char names[2][20];
    strcpy(names[0], "fern"); strcpy(names[1], "moss");
    for (int i = 0; i < 2; i++) cout << names[i] << " ";
    char board[3][3];
    for (int i = 0; i < 3; i++) for (int j = 0; j < 3; j++) board[i][j] = i == j ? 'X' : '.';
    for (int i = 0; i < 3; i++) { for (int j = 0; j < 3; j++) cout << board[i][j]; cout << endl; }
    char small[2][2] = {{'a', 'b'}, {'c', 'd'}}; cout << small[1][0] << endl;
}
