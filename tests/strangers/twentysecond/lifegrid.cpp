#include <cstdio>
#include <cstring>
#include <cstdlib>

#define ROWS 6
#define COLS 10

static char grid[ROWS][COLS + 1] = {
    "..........",
    "...#......",
    "....#.....",
    "..###.....",
    "..........",
    ".........."
};

int neighbours(int r, int c)
{
    int n = 0;
    int i, j;
    for (i = -1; i <= 1; i++)
        for (j = -1; j <= 1; j++) {
            if (i == 0 && j == 0)
                continue;
            int rr = (r + i + ROWS) % ROWS, cc = (c + j + COLS) % COLS;
            n += grid[rr][cc] == '#';
        }
    return n;
}

void step(void)
{
    char next[ROWS][COLS + 1];
    memset(next, 0, sizeof(next));
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++) {
            int n = neighbours(r, c);
            next[r][c] = (n == 3 || (n == 2 && grid[r][c] == '#')) ? '#' : '.';
        }
    memcpy(grid, next, sizeof(grid));
}

int main(void)
{
    int population = 0;
    for (int g = 0; g < 4; g++)
        step();
    for (int r = 0; r < ROWS; r++) {
        printf("%2d %s\n", r, grid[r]);
        for (char *p = grid[r]; *p != '\0'; p++)
            if (*p == '#')
                population++;
    }
    printf("population: %d, size %lu\n", population, (unsigned long)sizeof(grid));
    char name[20] = "fern";
    strcat(name, "hollow");
    printf("%s %zu %d %c\n", name, strlen(name), strcmp(name, "fern") > 0, name[0]);
    int values[] = {5, 2, 9, 1};
    int count = sizeof(values) / sizeof(values[0]);
    int *max = values;
    for (int *p = values + 1; p < values + count; ++p)
        if (*p > *max) max = p;
    printf("max %d at %ld\n", *max, (long)(max - values));
    printf("%05.2f|%-8s|%8s|%+d|%x|%o|%e\n", 3.14159, "left", "right", 7, 255, 8, 12345.678);
    return EXIT_SUCCESS;
}
